import type { Card } from '@/core/card';
import { cardAsText, shortCode } from '@/core/exchange';
import { cardText } from '@/core/ledger';
import { codeLink, takeLink } from '@/data/packedText';
import { Qr } from '@/parts/paper/Qr';
import { useUnits } from '@/parts/workspace';
import styles from './Print.module.css';
import { CARD_SHEETS_TEXT } from './text';

interface Props {
  cards: Card[];
  /** Where the person's Bobbet is on the web; empty: nowhere. */
  address: string;
}

/** Cards on paper, eight to a page, six where each has a code, with lines to cut along. */
export function CardSheet({ cards, address }: Props) {
  const units = useUnits();
  return (
    <section className={styles.cards}>
      {cards.map((card) => {
        const { title, machine, readings, proof, where } = cardText(card, units);
        return (
          <article key={card.id} className={address ? `${styles.card} ${styles.tall}` : styles.card}>
            <h1>{title}</h1>
            <p>{machine}</p>
            <dl>
              {readings.map(({ name, value }) => (
                <div key={name}>
                  <dt>{name}</dt>
                  <dd>{value}</dd>
                </div>
              ))}
            </dl>
            <div className={styles.foot}>
              <div>
                <p>{proof}</p>
                {where && <p>{CARD_SHEETS_TEXT.scrap(where)}</p>}
                <p>{CARD_SHEETS_TEXT.code(shortCode(card.id))}</p>
              </div>
              {address && (
                <Qr
                  text={takeLink(address, cardAsText(card))}
                  label={CARD_SHEETS_TEXT.code(shortCode(card.id))}
                  className={styles.qr}
                />
              )}
            </div>
          </article>
        );
      })}
    </section>
  );
}

/** Labels for scraps: cut out, folded over the edge of the scrap, stitched or stapled through both halves. */
export function LabelSheet({ cards, address }: Props) {
  const units = useUnits();
  return (
    <section className={styles.labels}>
      {cards.map((card) => {
        const { title, machine, readings, proof } = cardText(card, units);
        return (
          <article key={card.id} className={styles.label}>
            <div>
              <h1>{title}</h1>
              <p>{machine}</p>
              <p>{proof}</p>
            </div>
            <span className={styles.fold}>{CARD_SHEETS_TEXT.foldOverTheEdge}</span>
            <div className={styles.foot}>
              <div>
                <p>{readings.map(({ name, value }) => `${name.toLowerCase()} ${value}`).join('; ')}</p>
                <p>{CARD_SHEETS_TEXT.code(shortCode(card.id))}</p>
              </div>
              <Qr
                text={codeLink(address, shortCode(card.id))}
                label={CARD_SHEETS_TEXT.code(shortCode(card.id))}
                className={styles.smallQr}
              />
            </div>
          </article>
        );
      })}
    </section>
  );
}
