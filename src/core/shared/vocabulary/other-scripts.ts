// Words of headings in scripts other than Latin, as the English words for the same. From memory, by what schools write in these
// languages; common practice, no source.
import { bareWords } from '../normalise';

/** Russian, Ukrainian, Bulgarian, Greek, Arabic, Persian, Hebrew, Hindi, Chinese, Japanese and Korean words for each. */
const WORDS: Readonly<Record<string, string>> = {
  question:
    'вопрос задание утверждение питання запитання въпрос ερώτηση السؤال سؤال שאלה प्रश्न 问题 題目 题目 題干 题干 問題 問題文 設問 質問 문제 질문 문항',
  option:
    'вариант,вариант ответа,варіант,варіант відповіді,вариант за отговор,επιλογή,الخيار,خيار,گزینه,אפשרות,विकल्प,选项,選項,選択肢,보기,선택지,선지',
  'correct answer':
    'правильный ответ,верный ответ,номер правильного ответа,правильна відповідь,верен отговор,правилен отговор,σωστή απάντηση,الإجابة الصحيحة,الجواب الصحيح,پاسخ صحیح,תשובה נכונה,התשובה הנכונה,सही उत्तर,正确答案,正確答案,正解,正答,正しい答え,정답',
  answer:
    'ответ,відповідь,отговор,απάντηση,الإجابة,إجابة,الجواب,جواب,پاسخ,תשובה,उत्तर,答案,答え,解答,回答,답,답변',
  'wrong answer':
    'неправильный ответ,неверный ответ,неправильна відповідь,грешен отговор,λάθος απάντηση,إجابة خاطئة,תשובה שגויה,गलत उत्तर,错误答案,錯誤答案,誤答,不正解,오답',
  explanation:
    'пояснение,объяснение,комментарий,разбор,пояснення,обяснение,εξήγηση,επεξήγηση,αιτιολόγηση,الشرح,شرح,التفسير,توضیح,הסבר,व्याख्या,解析,解释,解釋,说明,解説,説明,해설,설명',
  hint: 'подсказка,підказка,υπόδειξη,βοήθεια,تلميح,רמז,संकेत,提示,ヒント,힌트',
  points:
    'баллы,балл,очки,бали,точки,βαθμοί,μονάδες,βαθμός,الدرجة,الدرجات,النقاط,نمره,נקודות,ניקוד,अंक,分值,分数,分數,得分,点数,配点,점수,배점',
  'time limit':
    'время,время на ответ,час,χρόνος,الوقت,الزمن,זמן,समय,时间,時間,制限時間,시간,제한시간',
  topic:
    'тема,категория,раздел,категорія,розділ,категория,θέμα,κατηγορία,ενότητα,الموضوع,الفئة,الوحدة,موضوع,נושא,קטגוריה,विषय,श्रेणी,类别,類別,分类,分類,主题,章节,カテゴリ,カテゴリー,分野,単元,분류,카테고리,주제,단원',
  difficulty:
    'сложность,уровень,уровень сложности,складність,рівень,трудност,ниво,δυσκολία,επίπεδο,الصعوبة,مستوى,المستوى,רמה,רמת קושי,कठिनाई,स्तर,难度,難度,難易度,レベル,난이도',
  'question type':
    'тип,тип вопроса,вид вопроса,тип питання,тип въпрос,τύπος,τύπος ερώτησης,النوع,نوع السؤال,סוג,סוג שאלה,प्रकार,题型,題型,类型,類型,問題形式,種類,形式,유형,문제유형',
  tags: 'теги,метки,ключевые слова,ετικέτες,الوسوم,תגיות,标签,標籤,关键词,タグ,태그',
  no: 'номер,№ п п,п п,номер вопроса,номер за ред,α α,αριθμός,الرقم,رقم,מספר,क्रमांक,编号,編號,序号,序號,題號,题号,番号,번호,순번',
  image:
    'изображение,картинка,рисунок,зображення,εικόνα,الصورة,صورة,תמונה,चित्र,图片,圖片,画像,図,이미지,그림',
  feedback:
    'отзыв,обратная связь,ανατροφοδότηση,التغذية الراجعة,משוב,प्रतिक्रिया,反馈,回饋,フィードバック,피드백',
  word: 'слово,термин,термін,понятие,дума,λέξη,όρος,الكلمة,المصطلح,מילה,מונח,शब्द,单词,單詞,词语,生词,術語,单字,単語,用語,漢字,단어,낱말,용어',
  meaning:
    'значение,определение,значення,визначення,значение,дефиниция,σημασία,ορισμός,المعنى,التعريف,פירוש,הגדרה,अर्थ,परिभाषा,意思,释义,定义,意味,定義,뜻,의미,정의',
  translation:
    'перевод,переклад,превод,μετάφραση,الترجمة,ترجمه,תרגום,अनुवाद,翻译,翻譯,訳,日本語訳,번역,해석',
  title: 'название,заголовок,назва,заглавие,τίτλος,العنوان,כותרת,शीर्षक,标题,標題,タイトル,제목',
  author: 'автор,συντάκτης,الكاتب,المؤلف,מחבר,लेखक,作者,出题人,作成者,출제자,작성자',
  date: 'дата,ημερομηνία,التاريخ,תאריך,दिनांक,日期,日付,날짜',
  source: 'источник,джерело,πηγή,المصدر,מקור,स्रोत,来源,來源,出典,출처',
};

/** Any letter that is neither Latin nor common to scripts. */
const OTHER = /(?=\p{L})[^\p{Script=Latin}]/u;

const ENGLISH = new Map(
  Object.entries(WORDS).flatMap(([english, words]) =>
    words.split(words.includes(',') ? ',' : ' ').map((word) => [bareWords(word), english] as const),
  ),
);
/** The longest first, so that "correct answer" is not read as an answer. */
const KNOWN = new RegExp([...ENGLISH.keys()].sort((a, b) => b.length - a.length).join('|'), 'gu');

/** So much of a heading's letters must be of known words: a sentence in which one of them stands is none. */
const MOSTLY = 0.5;
const lettersIn = (text: string): number => text.replace(/[^\p{L}]|\p{Script=Latin}/gu, '').length;

/**
 * A heading's words, bare of case and accents, with those of another script in English where they are known. What is joined
 * to them in their own script, endings and particles, goes; Latin letters and numbers stay: '選択肢1' is 'option 1'.
 */
export function inKnownWords(bare: string): string {
  if (!OTHER.test(bare)) {
    return bare;
  }
  let known = 0;
  const english = bare.replace(KNOWN, (word) => {
    known += lettersIn(word);
    return ` ${ENGLISH.get(word)!} `;
  });
  return known >= lettersIn(bare) * MOSTLY
    ? english
        .replace(/(?=\p{L})[^\p{Script=Latin}]+/gu, ' ')
        .replace(/\s+/gu, ' ')
        .trim()
    : bare;
}
