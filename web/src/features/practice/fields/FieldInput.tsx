import { TypedField } from '../../../math/TypedField';
import { ChooseAll, ChooseOne, PickFromList } from './Choices';
import { InWords } from './InWords';
import { LayUnits } from './LayUnits';
import { MarkOnLine } from './MarkOnLine';
import { PlotLine } from './PlotLine';
import { PlotPoint } from './PlotPoint';
import { PutInOrder } from './PutInOrder';
import { RayOnLine } from './RayOnLine';
import { SelectShapes } from './SelectShapes';
import { Shade } from './Shade';
import { WriteInColumns } from './WriteInColumns';
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
    case 'PutInOrder':
      return <PutInOrder {...props} options={response.options} />;
    case 'WriteInColumns':
      return <WriteInColumns {...props} {...response} />;
    case 'MarkOnLine':
      return <MarkOnLine {...props} scene={response.scene} />;
    case 'RayOnLine':
      return <RayOnLine {...props} scene={response.scene} />;
    case 'Shade':
      return <Shade {...props} scene={response.scene} partsOfOne={response.partsOfOne} />;
    case 'SelectShapes':
      return <SelectShapes {...props} scene={response.scene} shapes={response.shapes} />;
    case 'LayUnits':
      return <LayUnits {...props} scene={response.scene} unit={response.unit} />;
    case 'PlotPoint':
      return <PlotPoint {...props} scene={response.scene} />;
    case 'PlotLine':
      return <PlotLine {...props} scene={response.scene} />;
    case 'InkWords':
      return <InWords {...props} picture />;
    case 'Said':
      return <InWords {...props} />;
    default: {
      const never: never = response;
      return never;
    }
  }
}
