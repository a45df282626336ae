// Words for what lists of pairs are of: above "Peru" and "Lima" stand "Country" and "Capital". A word of these heads a
// list rather than being one of its terms. Common practice, no source.
import { bareWords } from '../normalise';
import { wholly } from './phrases';

/** Each language as one text, its words parted by semicolons. */
const CLASSES: Readonly<Record<string, string>> = {
  en:
    'country; state; region; capital; city; town; place; river; continent; flag; language; ' +
    'nationality; animal; plant; species; habitat; young; bird; tree; flower; food; fruit; ' +
    'body part; organ; bone; verb; noun; adjective; infinitive; base form; past; ' +
    'past simple; past tense; past participle; plural; singular; opposite; synonym; ' +
    'antonym; idiom; proverb; expression; phrase; word; abbreviation; acronym; year; date; ' +
    'event; person; author; writer; artist; composer; inventor; invention; book; work; ' +
    'painting; element; symbol; formula; compound; substance; unit; quantity; tool; ' +
    'device; part; component; function; purpose; use; meaning; cause; effect; problem; ' +
    'sign; colour; color; number; roman numeral; fraction; decimal; product; company; command; ' +
    'shortcut; port; protocol; file type; extension; character; role; job; name',
  de:
    'land; bundesland; region; hauptstadt; stadt; ort; fluss; kontinent; flagge; sprache; ' +
    'tier; pflanze; art; lebensraum; vogel; baum; blume; frucht; organ; knochen; verb; ' +
    'nomen; substantiv; adjektiv; infinitiv; vergangenheit; prateritum; partizip; ' +
    'partizip ii; plural; singular; gegenteil; synonym; redewendung; wort; abkurzung; ' +
    'jahr; jahreszahl; datum; ereignis; person; autor; kunstler; komponist; erfinder; ' +
    'erfindung; buch; werk; element; symbol; formel; stoff; einheit; grosse; werkzeug; ' +
    'gerat; teil; bauteil; funktion; zweck; ursache; wirkung; zeichen; farbe; zahl; name; ' +
    'beruf; fachbegriff',
  fr:
    'pays; region; capitale; ville; fleuve; riviere; continent; langue; animal; plante; ' +
    'espece; habitat; oiseau; arbre; fleur; fruit; organe; os; verbe; nom; adjectif; ' +
    'infinitif; participe passe; pluriel; singulier; contraire; synonyme; expression; mot; ' +
    'abreviation; annee; date; evenement; personnage; auteur; artiste; inventeur; ' +
    'invention; livre; oeuvre; element; symbole; formule; unite; grandeur; outil; piece; ' +
    'fonction; usage; cause; effet; couleur; nombre; metier',
  es:
    'pais; region; capital; ciudad; rio; continente; idioma; animal; planta; especie; ' +
    'habitat; ave; arbol; flor; fruta; organo; hueso; verbo; sustantivo; adjetivo; ' +
    'infinitivo; participio; pasado; plural; singular; contrario; antonimo; sinonimo; ' +
    'expresion; palabra; abreviatura; ano; fecha; acontecimiento; evento; personaje; ' +
    'autor; artista; inventor; invento; libro; obra; elemento; simbolo; formula; unidad; ' +
    'magnitud; herramienta; pieza; funcion; uso; causa; efecto; color; numero; profesion',
  it:
    'paese; stato; regione; capitale; capoluogo; citta; fiume; continente; lingua; ' +
    'animale; pianta; specie; habitat; uccello; albero; fiore; frutto; organo; osso; ' +
    'verbo; sostantivo; aggettivo; infinito; participio; plurale; singolare; contrario; ' +
    'sinonimo; espressione; parola; abbreviazione; anno; data; evento; personaggio; ' +
    'autore; artista; inventore; invenzione; libro; opera; elemento; simbolo; formula; ' +
    'unita; grandezza; strumento; attrezzo; pezzo; funzione; uso; causa; effetto; colore; ' +
    'numero; mestiere',
  nl:
    'land; provincie; hoofdstad; stad; plaats; rivier; continent; taal; dier; plant; ' +
    'soort; leefgebied; vogel; boom; bloem; vrucht; orgaan; bot; werkwoord; ' +
    'zelfstandig naamwoord; infinitief; voltooid deelwoord; meervoud; enkelvoud; ' +
    'tegenstelling; synoniem; uitdrukking; woord; afkorting; jaar; jaartal; datum; ' +
    'gebeurtenis; persoon; schrijver; kunstenaar; uitvinder; uitvinding; boek; werk; ' +
    'element; symbool; formule; eenheid; grootheid; gereedschap; onderdeel; functie; ' +
    'gebruik; oorzaak; gevolg; kleur; getal; beroep',
};
const CLASS = wholly({
  all: Object.values(CLASSES).flatMap((words) => words.split('; ')),
});
const LANGUAGE_ARTICLE = /^(?:the|an?|der|die|das|le|la|les|el|los|il|lo|de|het)\s+/;

/** Whether a text is the word for a kind of thing, alone or numbered: 'Country', 'Capital city', 'Hauptstadt'. */
export function isClassWord(text: string): boolean {
  const words = bareWords(text).replace(/\s+\d+$/, '');
  return (
    !LANGUAGE_ARTICLE.test(words) &&
    (CLASS.test(words) || CLASS.test(words.replace(/^\S+\s+|\s+\S+$/u, '')))
  );
}
