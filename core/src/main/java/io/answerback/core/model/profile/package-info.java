/// What the maker of a panel says of it: inputs, modules, bus, settings, supplies and terminals.
package io.answerback.core.model.profile;
