<?php

declare(strict_types=1);

use IronLatch\Kernel;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;

require dirname(__DIR__) . '/vendor/autoload.php';

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
