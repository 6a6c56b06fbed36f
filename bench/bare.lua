-- Posts nothing in particular.
wrk.method = "POST"
wrk.headers["Accept"] = "application/json"
wrk.headers["Authorization"] = "Bearer " .. os.getenv("BENCH_TOKEN")
