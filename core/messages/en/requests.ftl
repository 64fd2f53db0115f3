# What the entrance of the API answers by itself.

not_allowed = Your role here is { $role }. To { $right } is for: { $allowed }. Ask an owner of this grow.

no_database = The database does not answer; nothing was saved. Try again in a minute, or tell the person who runs it.

disk_full = The server's disk is full; nothing was saved. Tell the person who runs it: it needs free space.

not_found = This is not in any of your grows.
    .demo = There is no demo.
    .address = There is no such thing here.

sign_in_needed = Sign in first.

page_outdated = This page is out of date: reload it and try again.

bad_request = That request could not be read.

failed = Something went wrong on the server; nothing was saved. Try again, or tell the person who runs it.

refused = { $said }

too_many_tries = Too many wrong passwords: wait a quarter of an hour, then try again.
