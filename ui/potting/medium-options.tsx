/** The media of the catalogue by their families, as the options of a list to choose from. */
import { mediumGroups } from './medium-groups';

export function MediumOptions() {
  return mediumGroups.map((group) => (
    <optgroup key={group.label} label={group.label}>
      {group.options.map(({ value, label }) => (
        <option key={value} value={value}>
          {label}
        </option>
      ))}
    </optgroup>
  ));
}
