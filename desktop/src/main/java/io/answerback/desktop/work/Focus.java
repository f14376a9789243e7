package io.answerback.desktop.work;

import io.answerback.core.engine.finding.Target;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.ReceiverId;
import java.util.Optional;

/// What is looked at beside the selected point: a cable, a module, a joint box or a receiver.
///
/// @param cable a cable; empty for the point's own
/// @param box a module or a joint box; empty for that of the cable
/// @param end which end of the cable
/// @param core the core of the cable by its colour; empty for none
/// @param receiver a receiver; empty for none
public record Focus(
        Optional<CableId> cable, Optional<BoxId> box, CableEnd end, String core, Optional<ReceiverId> receiver) {
    /// Nothing but the point's own.
    public static final Focus NONE = new Focus(Optional.empty(), Optional.empty(), CableEnd.NEAR, "");

    /// A cable, a module or a joint box.
    public Focus(Optional<CableId> cable, Optional<BoxId> box, CableEnd end, String core) {
        this(cable, box, end, core, Optional.empty());
    }

    /// A receiver.
    public static Focus on(ReceiverId receiver) {
        return new Focus(Optional.empty(), Optional.empty(), CableEnd.NEAR, "", Optional.of(receiver));
    }

    /// A cable, from its near end.
    public static Focus on(CableId cable) {
        return new Focus(Optional.of(cable), Optional.empty(), CableEnd.NEAR, "");
    }

    /// A module or a joint box; nothing where it is a device, which is looked at by selecting its point.
    public static Focus on(EndId place) {
        return place instanceof BoxId box ? new Focus(Optional.empty(), Optional.of(box), CableEnd.NEAR, "") : NONE;
    }

    /// On the part that a finding is about; on nothing where that is none.
    public static Focus on(Target target) {
        return switch (target) {
            case Target.OfCable cable -> on(cable.cableId());
            case Target.OfBox box -> on(box.box());
            case Target.OfReceiver receiver -> on(receiver.receiverId());
            case Target.OfJob _,
                    Target.OfPoint _,
                    Target.OfCommunicator _,
                    Target.OfInput _,
                    Target.OfArea _,
                    Target.OfSetting _,
                    Target.OfCount _,
                    Target.OfDeparture _ -> NONE;
        };
    }
}
