'use client';

/** A setup in the grower's words: pot, mix, what lies under and over it; drawn as it is said. */
import {
  keepsWater,
  type MixPartSpec,
  mountKindById,
  potKindById,
  type SaidSetup,
  type SetupSpec,
  vesselCatalogue,
} from '@core';
import { LengthNumber } from '../controls/length-number';
import { ShelfPot, shelfSizeCm } from '../drawing/shelf-pot';
import { useLibrary } from '../data/library';
import { MixParts } from './mix-parts';
import { MediumOptions } from './medium-options';
import styles from './said-setup.module.css';

const DRAWN_PX = 190;

const kinds = [
  {
    label: 'Pots and baskets',
    of: vesselCatalogue.filter((kind) => kind.vessel === 'pot' && !keepsWater(kind.id)),
  },
  { label: 'With standing water', of: vesselCatalogue.filter((kind) => keepsWater(kind.id)) },
  { label: 'Mounts', of: vesselCatalogue.filter((kind) => kind.vessel === 'mount') },
];

/** Another kind of pot keeps the width, as far as it has one like it. */
function vesselOf(kindId: string, before: SaidSetup['vessel']): SaidSetup['vessel'] {
  const widthCm = before.kind === 'pot' ? before.rimDiameterCm : before.widthCm;
  if (vesselCatalogue.find(({ id }) => id === kindId)!.vessel === 'mount') {
    const { widthsCm } = mountKindById(kindId);
    const near = [...widthsCm].sort((a, b) => Math.abs(a - widthCm) - Math.abs(b - widthCm))[0]!;
    const padThicknessCm = before.kind === 'mount' ? before.padThicknessCm : 1;
    return { kind: 'mount', mountKindId: kindId, widthCm: near, padThicknessCm } as SaidSetup['vessel'];
  }
  return { kind: 'pot', potKindId: potKindById(kindId).id, rimDiameterCm: widthCm } as SaidSetup['vessel'];
}

interface SaidSetupFieldsProps {
  readonly said: SaidSetup;
  /** What it comes to; null where something is out of its range. */
  readonly spec: SetupSpec | null;
  readonly onSaid: (said: SaidSetup) => void;
}

export function SaidSetupFields({ said, spec, onSaid }: SaidSetupFieldsProps) {
  const own = useLibrary('medium').map(({ data }) => data);
  const { vessel, mix } = said;
  const isBare = vessel.kind === 'mount' && vessel.padThicknessCm === 0;
  return (
    <div className={styles.said}>
      <div className={styles.vessel}>
        <label>
          Pot
          <select
            value={vessel.kind === 'pot' ? vessel.potKindId : vessel.mountKindId}
            onChange={(event) => onSaid({ ...said, vessel: vesselOf(event.target.value, vessel) })}
          >
            {kinds.map(({ label, of }) => (
              <optgroup key={label} label={label}>
                {of.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </optgroup>
            ))}
          </select>
        </label>
        <Measures vessel={vessel} onVessel={(next) => onSaid({ ...said, vessel: next })} />
        <div className={styles.drawn}>{spec ? <Drawn spec={spec} /> : null}</div>
      </div>
      <div className={styles.mix}>
        {isBare ? null : (
          <MixParts
            parts={mix as readonly MixPartSpec[]}
            own={own}
            onChange={(parts) => onSaid({ ...said, mix: parts as SaidSetup['mix'] })}
          />
        )}
        {mix.length > 1 && vessel.kind === 'pot' ? (
          <label className="tick">
            <input
              type="checkbox"
              checked={said.isSideBySide === true}
              onChange={(event) => onSaid({ ...said, isSideBySide: event.target.checked || undefined })}
            />
            Side by side, not mixed
          </label>
        ) : null}
        {vessel.kind === 'pot' ? <OverAndUnder said={said} onSaid={onSaid} /> : null}
      </div>
    </div>
  );
}

function Drawn({ spec }: { readonly spec: SetupSpec }) {
  const { tallCm, wideCm } = shelfSizeCm(spec);
  return (
    <ShelfPot
      spec={spec}
      scale={(DRAWN_PX - 20) / Math.max(tallCm, wideCm, 10)}
      widthPx={DRAWN_PX}
      heightPx={DRAWN_PX - 10}
    />
  );
}

interface MeasuresProps {
  readonly vessel: SaidSetup['vessel'];
  readonly onVessel: (vessel: SaidSetup['vessel']) => void;
}

/** What is left empty is no measure: the schema says what is missing. */
const NOT_SAID = Number.NaN;
const measured = (cm: number | undefined): number | undefined =>
  cm === undefined || Number.isNaN(cm) ? undefined : cm;

function Measures({ vessel, onVessel }: MeasuresProps) {
  if (vessel.kind === 'mount') {
    return (
      <>
        <label htmlFor="said-width">Width</label>
        <LengthNumber
          id="said-width"
          valueCm={measured(vessel.widthCm)}
          onChange={(widthCm) => onVessel({ ...vessel, widthCm: widthCm ?? NOT_SAID })}
        />
        <label htmlFor="said-pad">Pad of moss (0: bare roots)</label>
        <LengthNumber
          id="said-pad"
          valueCm={measured(vessel.padThicknessCm)}
          onChange={(padThicknessCm) => onVessel({ ...vessel, padThicknessCm: padThicknessCm ?? NOT_SAID })}
        />
      </>
    );
  }
  const { heightCm: _height, ...plain } = vessel;
  return (
    <>
      <label htmlFor="said-rim">Rim, inside</label>
      <LengthNumber
        id="said-rim"
        valueCm={measured(vessel.rimDiameterCm)}
        step={1}
        onChange={(rimDiameterCm) => onVessel({ ...plain, rimDiameterCm: rimDiameterCm ?? NOT_SAID })}
      />
      <label htmlFor="said-depth">Depth, if measured</label>
      <LengthNumber
        id="said-depth"
        valueCm={measured(vessel.heightCm)}
        usualCm={measured(potKindById(vessel.potKindId).heightPerRim * vessel.rimDiameterCm)}
        onChange={(heightCm) => onVessel(heightCm === undefined ? plain : { ...plain, heightCm })}
      />
    </>
  );
}

const USUAL_CROCKING_CM = 2;

function OverAndUnder({ said, onSaid }: Pick<SaidSetupFieldsProps, 'said' | 'onSaid'>) {
  const { crockingMediumId, crockingCm, topMediumId, ...rest } = said;
  const top = topMediumId === undefined ? {} : { topMediumId };
  const under = crockingCm === undefined ? {} : { crockingCm, ...(crockingMediumId ? { crockingMediumId } : {}) };
  return (
    <>
      <MediumOrNone
        label="Under it"
        value={crockingMediumId}
        onChange={(id) =>
          onSaid(
            id === undefined
              ? { ...rest, ...top }
              : { ...rest, ...top, crockingCm: crockingCm ?? USUAL_CROCKING_CM, crockingMediumId: id },
          )
        }
      />
      {crockingCm === undefined ? null : (
        <>
          <label htmlFor="said-crocking">So high</label>
          <LengthNumber
            id="said-crocking"
            valueCm={measured(crockingCm)}
            onChange={(height) => onSaid({ ...rest, ...top, ...under, crockingCm: height ?? NOT_SAID })}
          />
        </>
      )}
      <MediumOrNone
        label="On top"
        value={topMediumId}
        onChange={(id) => onSaid({ ...rest, ...under, ...(id === undefined ? {} : { topMediumId: id }) })}
      />
    </>
  );
}

type MediumId = NonNullable<SaidSetup['topMediumId']>;

interface MediumOrNoneProps {
  readonly label: string;
  readonly value: MediumId | undefined;
  readonly onChange: (id: MediumId | undefined) => void;
}

function MediumOrNone({ label, value, onChange }: MediumOrNoneProps) {
  return (
    <label>
      {label}
      <select
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value === '' ? undefined : (event.target.value as MediumId))}
      >
        <option value="">nothing</option>
        <MediumOptions />
      </select>
    </label>
  );
}
