import type { Schemas } from '../../api/client';
import { Feedback } from './Feedback';

type Props = { part: Pick<Schemas['PartView'], 'fields'>; said: Schemas['FeedbackView'][] };

/** Whether a person reads what is answered here. */
export const isRead = (field: Schemas['FieldView'] | undefined) =>
  field?.response.kind === 'InkWords' || field?.response.kind === 'Said';

/** What came of a check of a part, field by field; where there are several, each is named. */
export function Told({ part, said }: Props) {
  return said.map((feedback) => {
    const field = part.fields.find(({ id }) => id === feedback.fieldId);
    return (
      <Feedback
        key={feedback.fieldId + feedback.message}
        feedback={feedback}
        read={isRead(field)}
        label={part.fields.length > 1 ? (field?.label ?? '') : ''}
      />
    );
  });
}
