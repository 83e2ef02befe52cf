'use client';

/** Drawing the plant from above, as it stands in the pot it comes out of. What is drawn is part of the case at once. */
import { putDown } from '@core/words';
import {
  AppstoreAddOutlined,
  DeleteOutlined,
  PlusOutlined,
  RedoOutlined,
  RollbackOutlined,
  UndoOutlined,
  UsergroupAddOutlined,
} from '@ant-design/icons';
import { useState } from 'react';
import { type GrowthMapSaid, growthMapSchema, type GrowthView } from '@core';
import { Button } from '../../../controls/button';
import { Choice } from '../../../controls/choice';
import { MapSheet, type ShootAt } from '../../../drawing/map-sheet';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import { LeadsRun, ShootCount } from './begin-from';
import {
  added,
  headedTo,
  mapAsUsual,
  MOST_PLANTS,
  movedTo,
  removed,
  sameShoot,
  shootIn,
  type ShootKind,
  turnedBy,
  withAnotherPlant,
} from './map-edits';
import styles from './from-above.module.css';

const kinds = [
  { value: 'lead', label: 'Lead' },
  { value: 'bulb', label: 'Bulb' },
  { value: 'spent', label: 'Spent' },
] as const;

interface GrowthMapProps {
  readonly view: GrowthView;
  readonly onDone: () => void;
}

export function GrowthMap({ view, onDone }: GrowthMapProps) {
  const answers = useCase((state) => state.answers);
  const current = answers.current as { readonly rimDiameterCm?: unknown } | undefined;
  const toldCm = typeof current?.rimDiameterCm === 'number' ? current.rimDiameterCm : null;
  const said = growthMapSchema.safeParse(answers.growthMap);
  const rim = {
    shape: 'round' as const,
    widthCm: toldCm ?? (said.success ? said.data.rim?.widthCm : undefined) ?? view.shown.widthCm,
  };
  const map = said.success ? said.data : mapAsUsual(view, rim);
  const plantInHand = usePlanned((state) => state.plan?.resolved.plant ?? null);
  const [isBeginning, setBeginning] = useState(false);
  /** What the map begins from, while that is being chosen. */
  const pattern = isBeginning ? plantInHand : null;
  const [kind, setKind] = useState<ShootKind>('lead');
  const [chosen, setChosen] = useState<ShootAt | null>(null);
  const [past, setPast] = useState<readonly (GrowthMapSaid | undefined)[]>([]);
  const plant = Math.min(chosen?.plant ?? 0, map.plants.length - 1);

  const change = (next: GrowthMapSaid | undefined, isStart = true) => {
    // What a hand left as it was is no step; a map taken as it usually stands is.
    if (next === map && said.success) return;
    if (isStart) setPast([...past, said.success ? said.data : undefined]);
    answer({ growthMap: next ? { ...next, rim } : undefined });
  };
  const undo = () => {
    answer({ growthMap: past[past.length - 1] });
    setPast(past.slice(0, -1));
    setChosen(null);
  };
  const put = (xCm: number, yCm: number) => {
    const next = added(map, plant, kind, xCm, yCm);
    if (!growthMapSchema.safeParse(next).success) return;
    change(next);
    const list = kind === 'lead' ? 'leads' : 'bulbs';
    setChosen({ plant, list, index: next.plants[plant]![list].length - 1 });
  };
  const remove = (shoot: ShootAt) => {
    change(removed(map, shoot));
    setChosen(null);
  };
  const held = chosen && shootIn(map, chosen) ? chosen : null;
  const isLead = held?.list === 'leads';
  return (
    <section className={styles.above} aria-label="Draw the plant from above">
      <p className={styles.headline}>
        {pattern ? 'As it usually stands: how many, and which way.' : 'Put down its shoots, turn its leads.'}
      </p>
      <div className={styles.pot}>
        <MapSheet
          map={map}
          rim={rim}
          isChosen={(shoot) => sameShoot(held, shoot)}
          onChoose={setChosen}
          onMove={(shoot, xCm, yCm, isStart) => change(movedTo(map, shoot, xCm, yCm), isStart)}
          onTurn={(shoot, byDeg) => change(turnedBy(map, shoot, byDeg))}
          onHead={(shoot, headingDeg, isStart) => change(headedTo(map, shoot, headingDeg), isStart)}
          onRemove={remove}
          onPut={put}
        />
        <div className={styles.beside}>
          {pattern ? (
            <ShootCount plant={pattern} />
          ) : (
            <MapMoves
              isLead={isLead}
              isHeld={held !== null}
              mayAdd={map.plants.length < MOST_PLANTS}
              mayUndo={past.length > 0}
              onTurn={(byDeg) => held && change(turnedBy(map, held, byDeg))}
              onRemove={() => held && remove(held)}
              onAdd={() => {
                change(withAnotherPlant(map, rim.widthCm / 2));
                setChosen({ plant: map.plants.length, list: 'leads', index: 0 });
              }}
              onUndo={undo}
              onPattern={() => setBeginning(true)}
            />
          )}
          {said.success ? (
            <Button onClick={() => change(undefined)}>As usual</Button>
          ) : (
            <Button onClick={() => change(map)}>It stands so</Button>
          )}
        </div>
      </div>
      <div className={styles.tools}>
        {pattern ? <LeadsRun plant={pattern} /> : <PutDown kind={kind} onKind={setKind} onPut={() => put(0, 0)} />}
        <Button kind="main" onClick={pattern ? () => setBeginning(false) : onDone}>
          Done
        </Button>
      </div>
    </section>
  );
}

interface MapMovesProps {
  readonly isLead: boolean;
  readonly isHeld: boolean;
  readonly mayAdd: boolean;
  readonly mayUndo: boolean;
  readonly onTurn: (byDeg: number) => void;
  readonly onRemove: () => void;
  readonly onAdd: () => void;
  readonly onUndo: () => void;
  readonly onPattern: () => void;
}

/** What can be done with the shoot in hand, and with the map. */
function MapMoves(props: MapMovesProps) {
  const { isLead, isHeld, mayAdd, mayUndo, onTurn, onRemove, onAdd, onUndo, onPattern } = props;
  return (
    <div className={styles.moves}>
      <Button
        aria-label="Turn it left"
        title="Turn it left"
        icon={<UndoOutlined />}
        disabled={!isLead}
        onClick={() => onTurn(15)}
      />
      <Button
        aria-label="Turn it right"
        title="Turn it right"
        icon={<RedoOutlined />}
        disabled={!isLead}
        onClick={() => onTurn(-15)}
      />
      <Button
        aria-label="Take it away"
        title="Take it away"
        icon={<DeleteOutlined />}
        disabled={!isHeld}
        onClick={onRemove}
      />
      <Button
        aria-label="Another plant"
        title="Another plant"
        icon={<UsergroupAddOutlined />}
        disabled={!mayAdd}
        onClick={onAdd}
      />
      <Button aria-label="Undo" title="Undo" icon={<RollbackOutlined />} disabled={!mayUndo} onClick={onUndo} />
      <Button
        aria-label="Begin from a pattern"
        title="Begin from a pattern"
        icon={<AppstoreAddOutlined />}
        onClick={onPattern}
      />
    </div>
  );
}

interface PutDownProps {
  readonly kind: ShootKind;
  readonly onKind: (kind: ShootKind) => void;
  readonly onPut: () => void;
}

function PutDown({ kind, onKind, onPut }: PutDownProps) {
  return (
    <>
      <Choice label="What a touch puts down" options={kinds} value={kind} onChange={onKind} />
      <Button aria-label={putDown(kind === 'spent' ? 'spent bulb' : kind)} icon={<PlusOutlined />} onClick={onPut} />
    </>
  );
}
