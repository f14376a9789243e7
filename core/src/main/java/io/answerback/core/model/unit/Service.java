package io.answerback.core.model.unit;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.PathKind;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/// How far a communicator has been put to work.
///
/// @param accountLive whether the station says that its account is live; empty while nobody asked
/// @param enabled the paths that are switched on in the unit
/// @param administrator the number that became its administrator; empty for nobody yet, or not known
/// @param remoteOpen whether remote access is open; it is closed again before leaving
@RecordBuilder
public record Service(Optional<Boolean> accountLive, Set<PathKind> enabled, String administrator, boolean remoteOpen)
        implements ServiceBuilder.With {
    /// Out of its carton.
    public static final Service NEW = new Service(Optional.empty(), Set.of(), "", false);

    /// @throws IllegalArgumentException when the administrator's number is none
    public Service {
        accountLive = accountLive == null ? Optional.empty() : accountLive;
        Set<PathKind> given = EnumSet.noneOf(PathKind.class);
        given.addAll(enabled == null ? Set.of() : enabled);
        enabled = Collections.unmodifiableSet(given);
        administrator = administrator == null ? "" : administrator.replaceAll("[ ()/-]", "");
        if (!administrator.matches("(\\+[0-9]{6,15})?")) {
            throw new IllegalArgumentException(Text.of(
                    "number of the administrator is \"%s\"; write + and the country code first", administrator));
        }
    }

    /// The same with a path switched on or off.
    public Service withEnabled(PathKind path, boolean on) {
        Set<PathKind> other = EnumSet.noneOf(PathKind.class);
        other.addAll(enabled);
        if (on) {
            other.add(path);
        } else {
            other.remove(path);
        }
        return new Service(accountLive, other, administrator, remoteOpen);
    }
}
