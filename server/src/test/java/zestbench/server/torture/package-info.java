/** Hard tests against a real process: killed, flooded, damaged. {@code ./zest torture} gives them more time. */
package zestbench.server.torture;
