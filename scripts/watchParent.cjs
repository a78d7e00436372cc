// Loaded into the server before anything else: the starter holds the other end of its input. When the starter is gone,
// however it went, the input ends, and the server with it.
process.stdin.on('end', () => process.exit(0));
process.stdin.on('error', () => process.exit(0));
process.stdin.resume();
