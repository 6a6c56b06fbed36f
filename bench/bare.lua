-- Posts nothing in particular.
wrk.method = "POST"
wrk.headers["Accept"] = "application/json"
