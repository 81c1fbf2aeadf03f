import { wordFor } from '../../asked/format.ts';
import { DONE, DONE_WAYS } from '@dagboek/core/cook';
import { useState } from 'react';
import { degrees, inField, sayTemperature } from '../../asked/units.ts';
import { Chips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { FireFields } from './fire-fields.tsx';
import { MealCautions } from './meal-cautions.tsx';
import { MarinadeFields } from './marinade-fields.tsx';
import { StageFields } from './stage-fields.tsx';
import { RawNote } from './raw-note.tsx';
import { RAW_MIDDLES } from './use-dish.ts';
import type { NewMeal } from './use-new-meal.ts';

export type RawMiddle = keyof typeof RAW_MIDDLES;

/** Which way it is cooked, by what suits this fish; how hot, how thick, how done; and what must be known. */
export function ChooseWay({
  meal,
  middle,
  setMiddle,
}: {
  meal: NewMeal;
  middle: RawMiddle;
  setMiddle: (m: RawMiddle) => void;
}) {
  const [all, setAll] = useState(false);
  const { method, fits, main, usual, setting, setSetting, ofWay, recipe } = meal;
  const well = fits.filter((f) => f.suits === 'well' || f.method.id === method.id);
  const others = fits.filter((f) => !well.includes(f));
  const fit = fits.find((f) => f.method.id === method.id);
  return (
    <>
      {meal.kitchens.length > 1 && !meal.joins && (
        <Chips
          label="Where"
          options={meal.kitchens.map((k) => ({ value: k.name, text: k.name || 'at home' }))}
          value={meal.whole.name}
          onChange={meal.setKitchen}
        />
      )}
      <Chips
        label="Cooked"
        hideLabel
        options={well.map((f) => ({ value: f.method.id, text: f.method.name }))}
        value={method.id}
        onChange={meal.chooseWay}
      />
      {main && fit && (
        <p className={fit.suits === 'well' ? undefined : 'alert alert-warning'}>
          {fit.suits === 'well'
            ? `Suits it: ${fit.why}.`
            : `${fit.suits === 'out' ? 'Not suitable' : 'Does not suit it well'}: ${fit.why}.`}
        </p>
      )}
      {others.length > 0 && (
        <>
          <LineKey aria-expanded={all} onClick={() => setAll(!all)}>
            {all ? 'Fewer ways' : `${others.length} other ways, and why not`}
          </LineKey>
          {all && (
            <ul className="plain-list">
              {others.map((f) => (
                <li className="py-1 px-0" key={f.method.id}>
                  <LineKey onClick={() => (meal.chooseWay(f.method.id), setAll(false))}>{f.method.name}</LineKey>{' '}
                  <small>
                    {f.suits === 'out' ? 'not: ' : ''}
                    {f.why}
                  </small>
                </li>
              ))}
            </ul>
          )}
        </>
      )}
      {method.middle === 'raw' && <RawNote meal={meal} />}
      {ofWay.length > 0 && (
        <Chips
          label="Recipe"
          options={[
            ...ofWay.slice(0, 6).map((r) => ({ value: r.id, text: r.name })),
            { value: 'none', text: 'no recipe' },
          ]}
          value={recipe?.id ?? 'none'}
          onChange={meal.setRecipe}
        />
      )}
      {method.heat && usual && main && (
        <>
          {method.middle === 'raw' ? (
            <Chips
              label="Its middle"
              options={(Object.keys(RAW_MIDDLES) as RawMiddle[]).map((value) => ({
                value,
                text: `${value}, ${sayTemperature(RAW_MIDDLES[value])}`,
              }))}
              value={middle}
              onChange={setMiddle}
            />
          ) : (
            <Chips
              label="How done"
              options={DONE_WAYS.filter((d) => meal.only.length === 0 || d === 'the line').map((value) => ({
                value,
                text:
                  value === 'the line'
                    ? `official limit, ${sayTemperature(DONE[value].coreC)}`
                    : `${value}, ${sayTemperature(DONE[value].coreC)}`,
              }))}
              value={meal.done}
              onChange={meal.setDone}
            />
          )}
          {method.middle === 'cooked' && meal.only.length > 0 && (
            <p className="alert alert-warning">
              <b>No lower temperature here.</b> {degrees(meal.only.join(' '))}
            </p>
          )}
          <FireFields setting={setting} main={main} setSetting={setSetting} heat={method.heat} usual={usual} />
          <MarinadeFields
            key={method.id}
            lays={meal.lays}
            lay={meal.lay}
            setLay={meal.setLay}
            thicknessMm={main.thicknessMm}
            of={method.heat.of}
            setHot={(c) => setSetting({ ...setting, c: inField('temperature', c) })}
          />
          <StageFields kinds={meal.stageKinds} stages={meal.stages} setStages={meal.setStages} />
          {method.heat.turns.length > 1 && (
            <Chips
              label="Turned"
              options={method.heat.turns.map((n) => ({
                value: String(n),
                text: n === 0 ? 'never' : wordFor(n, 'once', `${n} times`),
              }))}
              value={setting.turns ?? String(usual.turns)}
              onChange={(turns) => setSetting({ ...setting, turns })}
            />
          )}
          <p>
            <small>
              {main.thicknessBy === 'of the body'
                ? 'Thickness estimated from the species and its weight'
                : 'Thickness estimated from the weight of a piece'}
              ; a ruler is better. It lies at {sayTemperature(main.startC)}
              {main.startOfDeck
                ? ', calculated from when it was killed'
                : main.startRead
                  ? ' by the last reading of its store'
                  : ', as the store is set'}
              .
              {main.startC < -1 &&
                ' Still frozen: thaw it in the fridge first, or cook it from frozen with the times shown here.'}
            </small>
          </p>
        </>
      )}
      <MealCautions meal={meal} />
    </>
  );
}
