// A question as a form, loaded when the first one is opened: what checks its fields is large.
import { Skeleton } from '@mantine/core';
import { fetched } from './fetched';

export const QuestionForm = fetched(() => import('./WholeQuestionForm'), <Skeleton h={320} />);
