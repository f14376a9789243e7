package io.answerback.core.finding;

import io.answerback.core.cable.Cable;
import java.util.List;

/// What a finding is about, and what is to be mended.
public sealed interface Target {
    /// The zone point or system point it belongs to; empty when it belongs to none.
    String pointId();

    /// The part to mend, as the job names it; empty when it is the point itself, or nothing single.
    String part();

    /// What tells it apart from others of its sort.
    default String key() {
        return part().isEmpty() ? pointId() : part();
    }

    /// A cable of the job.
    static Target of(Cable cable) {
        List<String> points = cable.ends().points();
        return new OfCable(cable.id(), points.isEmpty() ? "" : points.getFirst());
    }

    /// The job as a whole.
    record OfJob() implements Target {
        @Override
        public String pointId() {
            return "";
        }

        @Override
        public String part() {
            return "";
        }
    }

    /// A zone point or a system point.
    record OfPoint(String pointId) implements Target {
        @Override
        public String part() {
            return "";
        }
    }

    /// A cable.
    ///
    /// @param pointId the first point at its far end; empty when it goes to none
    record OfCable(String cableId, String pointId) implements Target {
        @Override
        public String part() {
            return cableId;
        }
    }

    /// A module or a joint box.
    ///
    /// @param pointId the point that suffers; empty when it is not a single one
    record OfModule(String name, String pointId) implements Target {
        @Override
        public String part() {
            return name;
        }
    }

    /// An input.
    ///
    /// @param pointId the point on it; empty when it has none
    record OfInput(String inputId, String pointId) implements Target {
        @Override
        public String part() {
            return inputId;
        }
    }

    /// An area.
    ///
    /// @param pointId the first point in it that suffers; empty when it is not a single one
    record OfArea(int number, String pointId) implements Target {
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
    record OfSetting(String settingId) implements Target {
        @Override
        public String pointId() {
            return "";
        }

        @Override
        public String part() {
            return settingId;
        }
    }

    /// Something the panel has so many of, such as inputs.
    record OfCount(String what) implements Target {
        @Override
        public String pointId() {
            return "";
        }

        @Override
        public String part() {
            return what;
        }
    }

    /// A departure from the firm's rules.
    ///
    /// @param pointId the point it is about; empty when it is about the whole job
    record OfDeparture(String id, String pointId) implements Target {
        @Override
        public String part() {
            return id;
        }
    }
}
