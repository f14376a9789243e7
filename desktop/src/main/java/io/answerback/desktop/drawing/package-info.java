/// Parts that benches draw with: marks, values that can be edited where they stand, drawings made of lines and
/// labels.
package io.answerback.desktop.drawing;
