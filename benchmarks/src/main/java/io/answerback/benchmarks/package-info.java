/// How fast things are: measured here, never asserted in a test.
package io.answerback.benchmarks;
