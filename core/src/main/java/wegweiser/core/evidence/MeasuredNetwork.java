package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.electrical.PartNetwork;
import wegweiser.core.electrical.PartNetwork.Diode;
import wegweiser.core.electrical.ResistorNetwork.Branch;
import wegweiser.core.model.PartKind;
import wegweiser.core.wiring.Partition;

/** The parts that readings show as a network between the nets that they show. */
final class MeasuredNetwork {
    private MeasuredNetwork() {}

    /** The network of some parts, its nodes the roots of their nets. */
    static PartNetwork of(Evidence evidence, List<MeasuredPart> parts) {
        Partition nets = evidence.partition();
        List<Branch> resistors = new ArrayList<>();
        List<Diode> diodes = new ArrayList<>();
        for (MeasuredPart part : parts) {
            int a = nets.root(evidence.index().of(part.a()));
            int b = nets.root(evidence.index().of(part.b()));
            if (part.kind() == PartKind.DIODE) {
                diodes.add(new Diode(a, b, part.volts()));
            } else {
                resistors.add(new Branch(a, b, part.ohms()));
            }
        }
        return new PartNetwork(resistors, diodes);
    }
}
