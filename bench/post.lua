-- Posts one task after the other, each with a key of its own.
local number = 0
local thread = 0

function setup(one)
    thread = thread + 1
    one:set("id", thread)
end

function request()
    number = number + 1
    local family = ({ "brass", "woodwind", "strings", "keys" })[number % 4 + 1]
    local kind = ({ "bench-repair", "quote", "call-back", "tuning-visit", "diagnosis" })[number % 5 + 1]
    -- Only repairs ask what instrument it is.
    local fields = ""
    if kind == "bench-repair" or kind == "diagnosis" then
        fields = string.format(',"fields":{"task.family":"%s","task.value":%d}', family, number % 800)
    end
    local body = string.format('{"title":"Bench task %d","kind":"%s","customer":"carrow-silver-band"%s}', number, kind, fields)
    return wrk.format("POST", "/api/v1/tasks", {
        ["Authorization"] = "Bearer " .. os.getenv("BENCH_TOKEN"),
        ["Idempotency-Key"] = string.format("%s-%d-%d", os.getenv("BENCH_RUN"), id, number),
        ["Content-Type"] = "application/json",
        ["Accept"] = "application/json",
    }, body)
end
