/// Findings: what is wrong or close to it, by how much, why it matters and what to do. One small rule a class.
package io.answerback.core.check;
