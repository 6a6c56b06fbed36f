// What the published JsonLogic library makes of each case: a line of JSON with logic and data in, true or false out.
import jsonLogic from 'json-logic-js';
import { createInterface } from 'node:readline';

for await (const line of createInterface({ input: process.stdin })) {
    const { logic, data } = JSON.parse(line);
    console.log(jsonLogic.truthy(jsonLogic.apply(logic, data)));
}
