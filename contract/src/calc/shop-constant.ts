import { shopShortcut } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result, shortcut } from './schema';
import { topic } from './topic';

export const shopConstantTopic = topic({
  input: z.strictObject({ school: shortcut, cutting_speed: figure, diameter: figure }),
  output: z.strictObject({ shortcut_rpm: result, exact_rpm: result, error_percent: result }),
  run: (i) => {
    const r = shopShortcut(i.school, i.cutting_speed, i.diameter);
    return { shortcut_rpm: r.shortcutRpm, exact_rpm: r.exactRpm, error_percent: r.errorPercent };
  },
});
