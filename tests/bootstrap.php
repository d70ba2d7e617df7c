<?php

declare(strict_types=1);

use IronLatch\Kernel;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;

require dirname(__DIR__) . '/vendor/autoload.php';

// A mutant stands in for its file; only bin/mutate asks for one, and for the core alone: no database is needed.
$mutant = getenv('IRON_LATCH_MUTANT');
if (is_string($mutant) && '' !== $mutant) {
    $root = dirname(__DIR__) . '/core/';
    $class = 'IronLatch\\Core\\' . strtr(substr($mutant, strlen($root), -4), ['/' => '\\']);
    spl_autoload_register(static function (string $asked) use ($class): void {
        if ($asked === $class) {
            require getenv('IRON_LATCH_MUTANT_SOURCE');
        }
    }, prepend: true);

    return;
}

$var = dirname(__DIR__) . '/var';
is_dir($var) || mkdir($var);
// Run side by side, each process has a database of its own; the container is made once, by the process that starts them.
$token = (string) getenv('TEST_TOKEN');
$database = sprintf('%s/test%s.db', $var, $token);
array_map(unlink(...), glob($database . '*') ?: []);
if ('' === $token) {
    exec('rm -rf ' . escapeshellarg($var . '/cache/test'));
}
putenv('DATABASE_URL=sqlite:///' . $database);
$kernel = Kernel::fromEnvironment('test', false);
$application = new Application($kernel);
$application->setAutoExit(false);
$application->run(
    new ArrayInput(['command' => 'doctrine:migrations:migrate', '--no-interaction' => true, '--quiet' => true]),
    new NullOutput(),
);
$kernel->shutdown();
