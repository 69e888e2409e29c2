import { metresPerSecond, degC, percent } from '../units/quantities.ts';
import { newJob } from '../model/new-job.ts';
import type { Place } from '../model/job.ts';
import { closedGates, type GatedCoat } from './paint-gates.ts';

const EPOXY: GatedCoat = { name: 'Epoxy', apply: 'gun', coldest: 10, dampest: 85 };
const CLEAR: GatedCoat = { name: 'Clear', apply: 'gun', coldest: 15, dampest: 80 };
const ROLLED: GatedCoat = { ...EPOXY, name: 'Barrier', apply: 'roller' };

interface Air {
  readonly indoors?: boolean;
  readonly temperature?: number;
  readonly humidity?: number;
  readonly metal?: number;
  readonly wind?: number;
}
const place = ({ indoors = true, temperature = 20, humidity = 50, metal, wind }: Air): Place => ({
  ...newJob('x').place,
  indoors,
  temperature: degC(temperature),
  humidity: percent(humidity),
  metal: metal === undefined ? null : degC(metal),
  wind: wind === undefined ? null : metresPerSecond(wind),
});
const shut = (air: Air, ...coats: readonly GatedCoat[]) => closedGates(place(air), coats).map(({ id }) => id);

/** ISO 12944-7 and ISO 8502-4: 3 K over the dew point and, unless the sheet says otherwise, 85 % humidity; the rest common practice, no source. */
describe('gates of air and metal', () => {
  test.each<[Air, readonly GatedCoat[], readonly string[]]>([
    [{}, [EPOXY, CLEAR], []],
    [{ temperature: 10 }, [EPOXY], []],
    [{ temperature: 9.9 }, [EPOXY], ['cold']],
    [{ temperature: 12 }, [EPOXY, CLEAR], ['cold']],
    [{ temperature: 20, metal: 11 }, [CLEAR], ['dew', 'cold']],
    [{ temperature: 20, humidity: 80 }, [CLEAR], []],
    [{ temperature: 20, humidity: 81 }, [CLEAR], ['damp']],
    [{ temperature: 20, humidity: 84 }, [EPOXY], ['dew']],
    [{ temperature: 25, metal: 40 }, [EPOXY], []],
    [{ temperature: 25, metal: 41 }, [EPOXY], ['hot']],
    [{ indoors: false, wind: 5 }, [EPOXY], []],
    [{ indoors: false, wind: 5.1 }, [EPOXY], ['wind']],
    [{ indoors: true, wind: 9 }, [EPOXY], []],
    [{ indoors: false, wind: 9 }, [ROLLED], []],
    [{ indoors: false, wind: 9 }, [ROLLED, EPOXY], ['wind']],
    [{ temperature: -5, humidity: 100 }, [], []],
  ])('%j with %j: %j', (air, coats, gates) => expect(shut(air, ...coats)).toEqual(gates));

  test('the strictest coat is quoted, all of them are named, and each gate says its way out', () => {
    const [cold] = closedGates(place({ temperature: 20, metal: 8 }), [EPOXY, CLEAR]).filter(({ id }) => id === 'cold');
    expect(cold).toMatchObject({ title: 'Too cold for clear, epoxy', reason: expect.stringContaining('Part measured, 8 °C; clear wants 15 °C') });
    const worst = closedGates(place({ indoors: false, temperature: 2, humidity: 99, metal: 45, wind: 12 }), [EPOXY, CLEAR]);
    expect(worst.map(({ id }) => id)).toEqual(['cold', 'hot', 'damp', 'wind']);
    for (const { change } of worst) expect(change.length).toBeGreaterThan(30);
  });
});
