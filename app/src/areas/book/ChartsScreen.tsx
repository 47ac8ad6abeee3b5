import { bookSums, type BookFilter, type BookSums } from '@pike-stone/contract/book';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { filterQuery } from '../../data/book-pages';
import { useRecords } from '../../data/records';
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
import { BarsByName } from './chart/BarsByName';
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
          <Words role="note">{MODEL}</Words>
        </View>
      </Sheet>
    </>
  );
}

/** The model of the factor, as it is stated to people. */
const MODEL =
  'The model: the logarithm of the factor begins normal around the table, scatter 0.35. Each cut was too slow, right or too fast; right is within 15 % of the factor, judged with a scatter of 20 %; one cut in ten says nothing. In Cut a machine (0.30) and its metals and tool materials (0.20 around it) are learned together.';

function ByTool({ sums }: { sums: BookSums }) {
  const tools = useRecords('tools').records;
  const nameOf = (id: string) => tools.find((one) => one.id === id)?.body.name ?? 'a tool put away';
  const shown = sums.tools.slice(0, MOST_TOOLS);
  const loads = sums.tools.filter(({ powerW }) => powerW !== null).slice(0, MOST_TOOLS);
  const edges = sums.tools.filter(({ edges: used }) => used > 0).slice(0, MOST_TOOLS);
  return (
    <>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">Cuts by tool</Words>
          <BarsByName
            says="Cuts by tool"
            bars={shown.map(({ toolId, cuts, worked }) => ({
              name: nameOf(toolId),
              value: cuts,
              filled: worked,
              said: `${cuts}, ${Math.round((100 * worked) / cuts)} % worked`,
            }))}
          />
        </View>
      </Sheet>
      {edges.length > 0 && (
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">Life of an edge</Words>
            <BarsByName
              says="Cuts for each edge"
              bars={edges.map(({ toolId, cuts, edges: used }) => ({
                name: nameOf(toolId),
                value: cuts / used,
                filled: cuts / used,
                said: `${(cuts / used).toFixed(1)} cuts an edge`,
              }))}
            />
            <Words role="note">Cuts in the book for each edge that the ledger has used up.</Words>
          </View>
        </Sheet>
      )}
      {loads.length > 0 && (
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">Load by tool</Words>
            <BarsByName
              says="Mean net power by tool"
              bars={loads.map(({ toolId, powerW, powers }) => ({
                name: nameOf(toolId),
                value: powerW!,
                filled: powerW!,
                said: `${Math.round(powerW!)} W, ${powers} measured`,
              }))}
            />
          </View>
        </Sheet>
      )}
    </>
  );
}

const styles = sheet({
  group: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
});
