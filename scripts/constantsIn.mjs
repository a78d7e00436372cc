// Constants and comparisons of the core, each with the change that moves it by one step.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { root } from './steps.mjs';

const OTHER = { '<': '>=', '<=': '>', '>': '<=', '>=': '<', '===': '!==', '!==': '===' };

/**
 * A number one step further: a whole one up to ten by one, any other by its last written digit but by a tenth at least.
 * A smaller step would be within what a hand can set and an eye can see.
 */
export function oneStepOn(text) {
  const value = Number(text.replaceAll('_', ''));
  if (Number.isInteger(value) && Math.abs(value) <= 10) return String(value + 1);
  const decimals = /\.(\d+)/.exec(text)?.[1].length ?? 0;
  const step = Math.max(10 ** -decimals, Math.abs(value) / 10);
  return String(Number((value + step).toPrecision(6)));
}

/** Numbers that decide nothing: places in a list, digits to print, a type, a drawing. */
function isIdle(node) {
  for (let at = node.parent, from = node; at; from = at, at = at.parent) {
    if (ts.isTypeNode(at)) return true;
    if (ts.isElementAccessExpression(at) && at.argumentExpression === from) return true;
    if (ts.isCallExpression(at) && at.arguments.includes(from)) {
      const called = at.expression.getText();
      if (/(formatNumber|toFixed|toPrecision|slice|at|padStart|repeat|box)$/.test(called)) return true;
    }
    // Where a label stands in a drawing.
    if (ts.isPropertyAssignment(at) && /^(views|labels|dims|x|y|at|from|to)$/.test(at.name.getText())) return true;
    if (ts.isFunctionLike(at) && /\b(Scene\w*|ScenePoint\w*)\b/.test(at.type?.getText() ?? '')) return true;
  }
  return false;
}

/** Whether a file of the core holds rows of a knowledge table. */
export const isTable = (file) =>
  file.startsWith('src/core/') && /\b(tableOf|rulesOf)[<(]/.test(readFileSync(path.join(root, file), 'utf8'));

/** Every constant and comparison of the core that decides something. */
export function candidatesIn(files) {
  const core = files.filter((file) => file.startsWith('src/core/') && !/\.(test|testing)\.ts$|\/index\.ts$/.test(file));
  return core.flatMap((file) => {
    const text = readFileSync(path.join(root, file), 'utf8');
    const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
    const found = [];
    const add = (node, to) => {
      const start = node.getStart(source);
      const line = source.getLineAndCharacterOfPosition(start).line + 1;
      found.push({ file, line, start, from: node.getText(source), to });
    };
    const visit = (node) => {
      if (ts.isNumericLiteral(node) && !isIdle(node)) add(node, oneStepOn(node.getText(source)));
      if (ts.isBinaryExpression(node)) {
        const other = OTHER[node.operatorToken.getText(source)];
        if (other && !isIdle(node)) add(node.operatorToken, other);
      }
      ts.forEachChild(node, visit);
    };
    visit(source);
    return found;
  });
}

/** A sample that is the same for the same seed. */
export function sampled(all, count, seed) {
  let state = seed >>> 0;
  const next = () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  const left = [...all];
  return Array.from({ length: Math.min(count, all.length) }, () => left.splice(Math.floor(next() * left.length), 1)[0]);
}
