import {
  createLoader,
  createParser,
  createSerializer,
  parseAsBoolean,
  parseAsStringLiteral,
} from "nuqs/server";
import { FIRST_QUESTION, SCALES, SCHOOLS, TURN_CHOICES, WAYS_OUT, type Question } from "@/core/ask";
import { FROSTINGS } from "@/core/build";
import { COVERS } from "@/core/finish";
import { BATTER_KINDS } from "@/core/kind";
import { HEAT_SOURCES } from "@/core/recipe";

const MOST_TEXT = 200;
const MOST_TINS = 20;
const TIN_BREAK = ";";

const text = createParser({
  parse: (value) => value.slice(0, MOST_TEXT),
  serialize: (value: string) => value,
});
const tinTexts = createParser({
  parse: (value) =>
    value === "" ? [] : value.split(TIN_BREAK, MOST_TINS).map((tin) => tin.slice(0, MOST_TEXT)),
  serialize: (tins: readonly string[]) =>
    tins.map((tin) => tin.replaceAll(TIN_BREAK, " ")).join(TIN_BREAK),
  eq: (a, b) => a.join(TIN_BREAK) === b.join(TIN_BREAK),
});

/**
 * The whole question in the address, each box under its own name; what is as at the start is left
 * out.
 */
const ASK_ADDRESS = {
  recipe: text.withDefault(FIRST_QUESTION.recipe),
  from: text.withDefault(FIRST_QUESTION.from),
  heat: text.withDefault(FIRST_QUESTION.heat),
  recipeFan: parseAsBoolean.withDefault(FIRST_QUESTION.recipeFan),
  minutes: text.withDefault(FIRST_QUESTION.minutes),
  look: text.withDefault(FIRST_QUESTION.look),
  kind: parseAsStringLiteral(BATTER_KINDS).withDefault(FIRST_QUESTION.kind),
  weight: text.withDefault(FIRST_QUESTION.weight),
  volume: text.withDefault(FIRST_QUESTION.volume),
  tins: tinTexts.withDefault(FIRST_QUESTION.tins),
  amount: text.withDefault(FIRST_QUESTION.amount),
  recipeEggs: text.withDefault(FIRST_QUESTION.recipeEggs),
  scale: parseAsStringLiteral(SCALES).withDefault(FIRST_QUESTION.scale),
  school: parseAsStringLiteral(SCHOOLS).withDefault(FIRST_QUESTION.school),
  fan: parseAsBoolean.withDefault(FIRST_QUESTION.fan),
  source: parseAsStringLiteral(HEAT_SOURCES).withDefault(FIRST_QUESTION.source),
  cooling: parseAsStringLiteral(WAYS_OUT).withDefault(FIRST_QUESTION.cooling),
  inTin: text.withDefault(FIRST_QUESTION.inTin),
  turned: parseAsStringLiteral(TURN_CHOICES).withDefault(FIRST_QUESTION.turned),
  offOven: text.withDefault(FIRST_QUESTION.offOven),
  coolsCovered: parseAsBoolean.withDefault(FIRST_QUESTION.coolsCovered),
  coolsOvernight: parseAsBoolean.withDefault(FIRST_QUESTION.coolsOvernight),
  cover: parseAsStringLiteral(COVERS).withDefault(FIRST_QUESTION.cover),
  frosting: parseAsStringLiteral(FROSTINGS).withDefault(FIRST_QUESTION.frosting),
};

const withQuestion = createSerializer(ASK_ADDRESS);
const readAddress = createLoader(ASK_ADDRESS);

/** The question in an address; what is not in it is as at the start. */
export function questionIn(address: URLSearchParams): Question {
  return { ...FIRST_QUESTION, ...readAddress(address) };
}

/** The address of the bench with this question on it. */
export function askHref(question: Question): string {
  return withQuestion("/", question);
}
