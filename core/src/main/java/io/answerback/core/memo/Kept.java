package io.answerback.core.memo;

import io.answerback.core.site.Lookup;
import io.answerback.core.site.Part;
import java.util.List;
import java.util.Set;

/// A value with everything that was read to compute it.
///
/// @param parts the parts of the job that were read as a whole
/// @param reads what else was read, in that order
record Kept(Object value, Set<Part> parts, List<Read> reads) {
    /// One thing that was read.
    sealed interface Read {
        /// Whether it would be read as the very same now.
        boolean holds(FactStore now);
    }

    /// One thing found in a part of the job.
    ///
    /// @param found null where there was none
    record Found(Lookup lookup, Object key, Object found) implements Read {
        @Override
        public boolean holds(FactStore now) {
            return !now.changed(lookup.part()) || lookup.in(now.job(), key) == found;
        }
    }

    /// Another fact.
    record Used(Computed fact, Object value) implements Read {
        @Override
        public boolean holds(FactStore now) {
            return now.value(fact) == value;
        }
    }

    /// Whether it would be computed from the very same things now. They are asked in the order in which they
    /// were read: what was read later may have no meaning when something before it has changed.
    boolean holds(FactStore now) {
        for (Part part : parts) {
            if (now.changed(part)) {
                return false;
            }
        }
        for (Read read : reads) {
            if (!read.holds(now)) {
                return false;
            }
        }
        return true;
    }
}
