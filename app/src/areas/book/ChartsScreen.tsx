import { bookSums, type BookFilter, type BookSums } from '@pike-stone/contract/book';
import { FACTOR_MODEL } from '@pike-stone/words/learn';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { filterQuery } from '../../data/book-pages';
import { useToolName } from '../../data/tool-name';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Empty, Loading } from '../../kit/Empty';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { useOfShop } from '../../sync/of-shop';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { useCutWork } from '../../workers/cut-work';
import { BookParts } from './BookParts';
import { useFilter } from './filter';
import { FilterBar } from './FilterBar';
import { BarsByName, type NamedBar } from './chart/BarsByName';
import { FactorOverTime } from './chart/FactorOverTime';
import { CutsByMonth } from './chart/CutsByMonth';

/** Tools that are drawn, those with most cuts. */
const MOST_TOOLS = 10;

/** What the book shows when it is added up: cuts by month and tool, the shop's factor over time, load, edges. */
export function ChartsScreen() {
  const filter = useFilter();
  // Words and signs are looked for in cuts, not in their sums.
  const summed: BookFilter = { ...filter, q: undefined, sign: undefined, run: undefined };
  const { data, loading, error } = useOfShop(`/api/book/sums?${filterQuery(summed)}`, bookSums);
  return (
    <Screen title="Book" side={data && data.tools.length > 0 ? <ByTool sums={data} /> : undefined}>
      <BookParts of="/book/charts" />
      <FilterBar filter={filter} />
      {data ? <Sums sums={data} filter={filter} /> : loading || error ? <Loading error={error} /> : null}
    </Screen>
  );
}

function Sums({ sums, filter }: { sums: BookSums; filter: BookFilter }) {
  const router = useRouter();
  const [quantity, setQuantity] = useState<'speed' | 'feed'>('speed');
  const rows = sums.verdicts.filter((one) => one.quantity === quantity);
  const { answer: history } = useCutWork(rows.length > 0 ? rows : null, (work, asked) =>
    work.factorHistory(asked),
  );
  if (sums.months.length === 0)
    return (
      <Empty
        title="No cut to be drawn"
        action={<Button label="Go to Cut" onPress={() => router.push('/cut')} />}
      >
        Take cuts and put them in the book, or take a filter away.
      </Empty>
    );
  return (
    <>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">Cuts by month</Words>
          <CutsByMonth months={sums.months} />
        </View>
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">The shop’s own factor over time</Words>
          <Choice
            says="Factor on"
            value={quantity}
            onChange={setQuantity}
            options={[
              { value: 'speed', label: 'Speed' },
              { value: 'feed', label: 'Feed' },
            ]}
          />
          {rows.length === 0 ? (
            <Words role="note">No cut said anything of it yet.</Words>
          ) : (
            history && <FactorOverTime history={history} />
          )}
          <Words role="note">
            {`What was set over the table, as the cuts judged it${filter.machine ? '' : '; filter by a machine for its own'}. The band holds it four times in five.`}
          </Words>
          <Words role="note">{FACTOR_MODEL}</Words>
        </View>
      </Sheet>
    </>
  );
}

function ByTool({ sums: { tools } }: { sums: BookSums }) {
  const nameOf = useToolName();
  const bar = (id: string) => ({ id, name: nameOf(id) });
  return (
    <>
      <BarSheet
        title="Cuts by tool"
        bars={tools.map(({ toolId, cuts, worked }) => ({
          ...bar(toolId),
          value: cuts,
          filled: worked,
          said: `${cuts}, ${Math.round((100 * worked) / cuts)} % worked`,
        }))}
      />
      <BarSheet
        title="Life of an edge"
        says="Cuts for each edge"
        bars={tools.flatMap(({ toolId, cuts, edges }) =>
          edges > 0
            ? [{ ...bar(toolId), value: cuts / edges, said: `${(cuts / edges).toFixed(1)} cuts an edge` }]
            : [],
        )}
        about="Cuts in the book for each edge that the ledger has used up."
      />
      <BarSheet
        title="Load by tool"
        says="Mean net power by tool"
        bars={tools.flatMap(({ toolId, powerW, powers }) =>
          powerW === null
            ? []
            : [{ ...bar(toolId), value: powerW, said: `${Math.round(powerW)} W, ${powers} measured` }],
        )}
      />
    </>
  );
}

/** A chart of bars on a sheet, those of the tools with most cuts; nothing where there is no bar. */
function BarSheet({
  title,
  says = title,
  bars,
  about,
}: {
  title: string;
  says?: string;
  bars: readonly NamedBar[];
  about?: string;
}) {
  if (bars.length === 0) return null;
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{title}</Words>
        <BarsByName says={says} bars={bars.slice(0, MOST_TOOLS)} />
        {about && <Words role="note">{about}</Words>}
      </View>
    </Sheet>
  );
}

const styles = sheet({
  group: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
});
