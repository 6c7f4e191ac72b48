package zestbench.server.unit;

/** What is known of a unit has changed: its plates, its places or its site. */
public record UnitChanged(long unit) {}
