export { LazyCalculatorStation as CalculatorStation } from './LazyCalculatorStation';
