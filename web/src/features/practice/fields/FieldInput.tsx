import { TypedField } from '../../../math/TypedField';
import { ChooseAll, ChooseOne, PickFromList } from './Choices';
import { LayUnits } from './LayUnits';
import { PlotLine } from './PlotLine';
import { PlotPoint } from './PlotPoint';
import { SelectShapes, Shade } from './Shade';
import type { FieldProps } from './types';

/** The right control for a field. */
export function FieldInput(props: FieldProps) {
  const { response } = props.field;
  switch (response.kind) {
    case 'Typed':
      return <TypedField {...props} palette={response.palette} />;
    case 'ChooseOne':
      return <ChooseOne {...props} options={response.options} />;
    case 'ChooseAll':
      return <ChooseAll {...props} options={response.options} />;
    case 'PickFromList':
      return <PickFromList {...props} options={response.options} />;
    case 'DropLabel':
      return <PickFromList {...props} options={response.labels} />;
    case 'Shade':
      return <Shade {...props} picture={response.picture} />;
    case 'SelectShapes':
      return <SelectShapes {...props} shapes={response.shapes} />;
    case 'LayUnits':
      return <LayUnits {...props} object={response.object} />;
    case 'PlotPoint':
      return <PlotPoint {...props} grid={response.grid} />;
    case 'PlotLine':
      return <PlotLine {...props} grid={response.grid} />;
    case 'InkWords':
      return <TypedField {...props} palette={[]} />;
    default: {
      const never: never = response;
      return never;
    }
  }
}
