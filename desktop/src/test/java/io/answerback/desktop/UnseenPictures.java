package io.answerback.desktop;

import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassTransform;
import java.lang.classfile.CodeBuilder;
import java.lang.classfile.CodeModel;
import java.lang.instrument.ClassFileTransformer;
import java.security.ProtectionDomain;
import net.bytebuddy.agent.ByteBuddyAgent;
import org.junit.platform.launcher.LauncherSession;
import org.junit.platform.launcher.LauncherSessionListener;

/// Keeps the offscreen windows of tests from copying each finished picture, pixel by pixel, to a screen that nobody
/// looks at: that took most of the window thread's time. Everything before it is done as ever: style sheets,
/// layout, drawing.
public final class UnseenPictures implements LauncherSessionListener {
    private static final String OFFSCREEN_WINDOW = "com/sun/glass/ui/headless/HeadlessWindow";
    private static final String COPIES_PIXELS = "blit";

    @Override
    public void launcherSessionOpened(LauncherSession session) {
        ByteBuddyAgent.install().addTransformer(new WithoutCopying());
    }

    private static final class WithoutCopying implements ClassFileTransformer {
        @Override
        public byte[] transform(
                ClassLoader loader, String name, Class<?> redefined, ProtectionDomain domain, byte[] bytes) {
            return OFFSCREEN_WINDOW.equals(name) ? withoutCopying(bytes) : null;
        }

        private static byte[] withoutCopying(byte[] bytes) {
            ClassFile format = ClassFile.of();
            ClassTransform emptied = ClassTransform.transformingMethods(
                    method -> method.methodName().equalsString(COPIES_PIXELS), (method, part) -> {
                        if (part instanceof CodeModel) {
                            method.withCode(CodeBuilder::return_);
                        } else {
                            method.with(part);
                        }
                    });
            return format.transformClass(format.parse(bytes), emptied);
        }
    }
}
