# What the entrance of the API answers by itself.

not_allowed = Your role here is { $role }. To { $right } is for: { $allowed }. Ask an owner of this grow.

no_database = The database does not answer; nothing of it was kept. Try again in a minute, or tell who runs this.

disk_full = The disk of the machine is full; nothing of it was kept. Tell who runs this: it needs room before anything can be kept.

not_found = There is no such thing in your grows.
    .demo = There is no demo.
    .address = There is no such thing here.

sign_in_needed = Sign in first.

page_outdated = This page is out of date: reload it and try again.

bad_request = That request could not be read.

failed = That was a fault of ours. Nothing of it was kept; try again, or tell who runs this.

refused = { $said }

too_many_tries = Too many wrong passwords: wait a quarter of an hour, then try again.
