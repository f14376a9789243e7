/// What a rule and a finding are: what is wrong or close to it, by how much, why it matters and what to do.
package io.answerback.core.engine.finding;
