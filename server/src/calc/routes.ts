import { CALC_TOPICS, isCalcTopic } from '@pike-stone/contract/calc';
import { Router } from 'express';
import { HttpProblem } from '../http/problem';
import { calculate } from './calculate';

/** Every calculation for a spreadsheet or a script: nothing is kept, so nobody needs to be let in. */
export function calcRoutes(): Router {
  const router = Router();
  router.get('/', (_request, response) => void response.json({ topics: CALC_TOPICS }));
  router.post('/:topic', (request, response) => {
    const { topic } = request.params;
    if (!isCalcTopic(topic))
      throw new HttpProblem(404, 'No such calculation', 'GET /api/calc lists the topics.');
    if (!request.is('application/json'))
      throw new HttpProblem(415, 'Not readable', 'Send JSON with Content-Type application/json.');
    response.json({ topic, result: calculate(topic, request.body) });
  });
  return router;
}
