// The stand-ins as scripts reach them: who there are, and what they say of a file.
import { STAND_INS } from '../stand-ins';
import { answer, fileIn, formOf, json, refusal, unusable, Unusable } from './answers';

/** GET /api/stand-ins: each with its rules and its blank. */
export const standInsEndpoint = (): Response =>
  json({
    standIns: STAND_INS.map(({ name, title, what, rules, blank }) => ({
      name,
      title,
      what,
      rules,
      blank,
    })),
  });

/** POST /api/stand-ins/NAME/take: how many were taken, and each refused row with its reason. */
export const takeEndpoint = (name: string, request: Request): Promise<Response> =>
  answer(async () => {
    const standIn = STAND_INS.find((one) => one.name === name);
    if (!standIn) {
      const names = STAND_INS.map((one) => one.name).join(', ');
      return refusal(404, 'no-such-stand-in', `There is no stand-in ${name}; there are ${names}.`);
    }
    const file = await fileIn(await formOf(request), 'file');
    if (!file) {
      throw unusable('The form has no file.');
    }
    const taken = await standIn.take(file.bytes);
    if ('problem' in taken) {
      throw new Unusable([{ rule: 'stand-in-refuses', level: 'block', message: taken.problem }]);
    }
    return json({
      taken: taken.questions.length,
      refused: taken.refused,
      questions: taken.questions,
    });
  });
