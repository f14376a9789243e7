package io.answerback.core.engine.finding;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import java.util.Optional;

/// What a finding is about, and what is to be mended.
public sealed interface Target {
    /// The zone point or system point it belongs to; empty when it belongs to none.
    default Optional<PointId> pointId() {
        return Optional.empty();
    }

    /// The part to mend, as the job names it; empty when it is the point itself, or nothing single.
    default String part() {
        return "";
    }

    /// What tells it apart from others of its sort.
    default String key() {
        return part().isEmpty() ? pointId().map(PointId::text).orElse("") : part();
    }

    /// A cable of the job.
    static Target of(Cable cable) {
        return new OfCable(cable.id(), cable.ends().points().stream().findFirst());
    }

    /// A zone point or a system point.
    static Target of(PointId pointId) {
        return new OfPoint(Optional.of(pointId));
    }

    /// The job as a whole.
    record OfJob() implements Target {}

    /// A zone point or a system point.
    ///
    /// @param pointId the point, which is always given
    record OfPoint(Optional<PointId> pointId) implements Target {
        /// @throws java.util.NoSuchElementException when no point is given
        public OfPoint {
            pointId.orElseThrow();
        }

        /// Of this point.
        public OfPoint(PointId id) {
            this(Optional.of(id));
        }
    }

    /// A cable.
    ///
    /// @param cableId its number
    /// @param pointId the first point at its far end; empty when it goes to none
    record OfCable(CableId cableId, Optional<PointId> pointId) implements Target {
        /// Of a cable, where no single point suffers.
        public OfCable(CableId cableId) {
            this(cableId, Optional.empty());
        }

        @Override
        public String part() {
            return cableId.text();
        }
    }

    /// A module or a joint box.
    ///
    /// @param box which of them
    /// @param pointId the point that suffers; empty when it is not a single one
    record OfBox(BoxId box, Optional<PointId> pointId) implements Target {
        /// Of a box, where no single point suffers.
        public OfBox(BoxId box) {
            this(box, Optional.empty());
        }

        @Override
        public String part() {
            return box.text();
        }
    }

    /// The communicator.
    record OfCommunicator() implements Target {
        @Override
        public String part() {
            return "communicator";
        }
    }

    /// A receiver at the station.
    record OfReceiver(ReceiverId receiverId) implements Target {
        @Override
        public String part() {
            return receiverId.text();
        }
    }

    /// An input.
    ///
    /// @param inputId which
    /// @param pointId the point on it; empty when it has none
    record OfInput(InputId inputId, Optional<PointId> pointId) implements Target {
        /// Of an input that no point uses.
        public OfInput(InputId inputId) {
            this(inputId, Optional.empty());
        }

        @Override
        public String part() {
            return inputId.text();
        }
    }

    /// An area.
    ///
    /// @param number its number
    /// @param pointId the first point in it that suffers; empty when it is not a single one
    record OfArea(int number, Optional<PointId> pointId) implements Target {
        /// Of an area, where no single point suffers.
        public OfArea(int number) {
            this(number, Optional.empty());
        }

        @Override
        public String part() {
            return "area " + number;
        }

        @Override
        public String key() {
            return Integer.toString(number);
        }
    }

    /// A setting of the panel.
    ///
    /// @param settingId the setting, as the profile has it
    record OfSetting(String settingId) implements Target {
        @Override
        public String part() {
            return settingId;
        }
    }

    /// Something the panel has so many of, such as inputs.
    ///
    /// @param what what there are too many of
    record OfCount(String what) implements Target {
        @Override
        public String part() {
            return what;
        }
    }

    /// A departure from the firm's rules.
    ///
    /// @param id what its reason is kept under
    /// @param pointId the point it is about; empty when it is about the whole job
    record OfDeparture(String id, Optional<PointId> pointId) implements Target {
        @Override
        public String part() {
            return id;
        }
    }
}
