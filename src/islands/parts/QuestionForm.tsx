// A question as a form, loaded when the first one is opened: what checks its fields is large.
import { Skeleton } from '@mantine/core';
import { lazy, Suspense } from 'react';
import type { QuestionFormProps } from './WholeQuestionForm';

const WholeQuestionForm = lazy(() => import('./WholeQuestionForm'));

export const QuestionForm = (props: QuestionFormProps) => (
  <Suspense fallback={<Skeleton h={320} />}>
    <WholeQuestionForm {...props} />
  </Suspense>
);
