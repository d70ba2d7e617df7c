<?php

declare(strict_types=1);

use IronLatch\Kernel;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;

require dirname(__DIR__) . '/vendor/autoload.php';

$var = dirname(__DIR__) . '/var';
is_dir($var) || mkdir($var);
exec('rm -rf ' . escapeshellarg($var . '/cache/test') . ' ' . escapeshellarg($var) . '/test.db*');
$kernel = Kernel::fromEnvironment('test', false);
$application = new Application($kernel);
$application->setAutoExit(false);
$application->run(new ArrayInput(['command' => 'doctrine:migrations:migrate', '--no-interaction' => true, '--quiet' => true]), new NullOutput());
$kernel->shutdown();
