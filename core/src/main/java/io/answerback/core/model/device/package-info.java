/// Kinds of things that are wired: detectors, contacts, sounders, and the loop schemes they are wired in.
/// Depends on nothing but guards.
package io.answerback.core.model.device;
