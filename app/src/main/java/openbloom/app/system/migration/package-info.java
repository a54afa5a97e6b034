/** Steps from one form of the kept data to the next that are too much for a statement. */
@org.jspecify.annotations.NullMarked
package openbloom.app.system.migration;
