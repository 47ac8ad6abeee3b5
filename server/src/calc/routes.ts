import { isHeavy, isTopic, TOPIC_NAMES } from '@pike-stone/contract/calc';
import { Router } from 'express';
import { jsonOnly } from '../http/json-body';
import { HttpProblem } from '../http/problem';
import { calculate, type Asked } from './calculate';
import type { HeavyCalculations } from './heavy';

const NAMES: readonly Asked[] = [...TOPIC_NAMES, 'cut-plan'];
const isCalculation = (name: string): name is Asked => name === 'cut-plan' || isTopic(name);

/** Routes of the calculations, for spreadsheets and scripts. Nothing is stored, so no session is needed. */
export function calcRoutes(heavy: HeavyCalculations): Router {
  const router = Router();
  router.get('/', (_request, response) => void response.json({ topics: NAMES }));
  router.post('/:topic', jsonOnly, async (request, response) => {
    const { topic } = request.params;
    if (typeof topic !== 'string' || !isCalculation(topic))
      throw new HttpProblem(404, 'No such calculation', 'GET /api/calc lists the topics.');
    if (topic === 'cut-plan' || !isHeavy(topic))
      return void response.json({ topic, result: calculate(topic, request.body) });
    const left = new AbortController();
    response.on('close', () => left.abort());
    const result = await heavy.run(topic, request.body, left.signal).catch((error: unknown) => {
      if (left.signal.aborted) return null;
      throw error;
    });
    if (!left.signal.aborted) response.json({ topic, result });
  });
  return router;
}
