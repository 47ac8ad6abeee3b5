import { isTopic, TOPIC_NAMES } from '@pike-stone/contract/calc';
import { Router } from 'express';
import { jsonOnly } from '../http/json-only';
import { HttpProblem } from '../http/problem';
import { calculate, type Calculation } from './calculate';

const NAMES: readonly Calculation[] = [...TOPIC_NAMES, 'cut-plan'];
const isCalculation = (name: string): name is Calculation => name === 'cut-plan' || isTopic(name);

/** Routes of the calculations, for spreadsheets and scripts. Nothing is stored, so no session is needed. */
export function calcRoutes(): Router {
  const router = Router();
  router.get('/', (_request, response) => void response.json({ topics: NAMES }));
  router.post('/:topic', jsonOnly, (request, response) => {
    const { topic } = request.params;
    if (typeof topic !== 'string' || !isCalculation(topic))
      throw new HttpProblem(404, 'No such calculation', 'GET /api/calc lists the topics.');
    response.json({ topic, result: calculate(topic, request.body) });
  });
  return router;
}
