import type { Card } from '@/core/card';
import { compareCards } from '@/core/ledger';
import { useUnits } from '@/parts/workspace';
import styles from './Ledger.module.css';

/** Cards side by side; what differs is marked. */
export function Compare({ cards }: { cards: Card[] }) {
  const units = useUnits();
  return (
    <div className={styles.compare}>
      <table>
        <thead>
          <tr>
            <td />
            {cards.map((card) => (
              <th key={card.id} scope="col">
                {card.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {compareCards(cards, units).map(({ name, values, differs }) => (
            <tr key={name} data-differs={differs || undefined}>
              <th scope="row">
                {name}
                {differs && <span className="unseen">, differs</span>}
              </th>
              {values.map((value, i) => (
                <td key={cards[i].id}>{value}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
