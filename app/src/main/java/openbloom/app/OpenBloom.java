package openbloom.app;
public class OpenBloom { public static void main(String[] a) {} }
