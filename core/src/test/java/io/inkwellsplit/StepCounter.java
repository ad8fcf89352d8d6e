package io.inkwellsplit;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashSet;
import java.util.Set;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.ClassVisitor;
import org.objectweb.asm.ClassWriter;
import org.objectweb.asm.Label;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;
import org.objectweb.asm.Type;

/**
 * Counts the steps of code instead of its seconds: it loads the classes anew, and lets every call of a method and every
 * turn of a loop add one. What the JDK does for a call is not seen.
 */
public final class StepCounter extends ClassLoader {
    private static final String OWN = "io.inkwellsplit.";

    private static long steps;
    private static long most;

    StepCounter() {
        super(StepCounter.class.getClassLoader());
    }

    /** Called by the code that is counted. */
    public static void step() {
        steps++;
        if (steps > most) {
            throw new IllegalStateException("more than " + most + " steps");
        }
    }

    /** Returns how many steps something takes; it is ended when it takes more than a number. */
    static long of(Runnable work, long limit) {
        steps = 0;
        most = limit;
        work.run();
        return steps;
    }

    @Override
    protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
        boolean counted = name.startsWith(OWN) && !name.equals(StepCounter.class.getName());
        if (!counted) {
            return super.loadClass(name, resolve);
        }
        synchronized (getClassLoadingLock(name)) {
            Class<?> loaded = findLoadedClass(name);
            return loaded != null ? loaded : define(name);
        }
    }

    private Class<?> define(String name) throws ClassNotFoundException {
        try (InputStream in = getResourceAsStream(name.replace('.', '/') + ".class")) {
            ClassReader reader = new ClassReader(in);
            ClassWriter writer = new ClassWriter(reader, ClassWriter.COMPUTE_MAXS);
            reader.accept(new Counting(writer), 0);
            byte[] code = writer.toByteArray();
            return defineClass(name, code, 0, code.length);
        } catch (IOException e) {
            throw new ClassNotFoundException(name, e);
        }
    }

    private static final class Counting extends ClassVisitor {
        Counting(ClassVisitor to) {
            super(Opcodes.ASM9, to);
        }

        @Override
        public MethodVisitor visitMethod(int access, String name, String type, String signature, String[] thrown) {
            MethodVisitor to = super.visitMethod(access, name, type, signature, thrown);
            return new MethodVisitor(Opcodes.ASM9, to) {
                private final Set<Label> passed = new HashSet<>();

                @Override
                public void visitCode() {
                    super.visitCode();
                    count();
                }

                @Override
                public void visitLabel(Label label) {
                    passed.add(label);
                    super.visitLabel(label);
                }

                @Override
                public void visitJumpInsn(int opcode, Label label) {
                    if (passed.contains(label)) {
                        count();
                    }
                    super.visitJumpInsn(opcode, label);
                }

                private void count() {
                    super.visitMethodInsn(
                            Opcodes.INVOKESTATIC, Type.getInternalName(StepCounter.class), "step", "()V", false);
                }
            };
        }
    }
}
