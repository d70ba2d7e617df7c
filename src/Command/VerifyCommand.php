<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Export\Exports;
use IronLatch\Export\PackageCheck;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('verify', 'Says whether a package is whole: exit 0, 1 when it is not, 2 when there is no such file.')]
final class VerifyCommand extends Command
{
    public function __construct(private readonly Exports $exports, private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'a package as it was exported');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $path = $input->getArgument('file');
        if (!is_string($path) || !is_file($path)) {
            $output->writeln('There is no such file. Name a package, as it was exported.');

            return Command::INVALID;
        }
        $check = PackageCheck::of($path, $this->exports, $this->catalogue);
        foreach ($check->faults as $fault) {
            $output->writeln($fault);
        }
        if ([] !== $check->faults) {
            return Command::FAILURE;
        }
        $output->writeln('It is whole: every file is as it was exported.');
        $output->writeln(match ($check->isToday) {
            true => 'The same is made of its board file today, byte for byte.',
            false => 'Its board file makes something else today: it was exported by another version of Iron Latch.',
            null => 'It holds no board file that can be read: whether the same is made of it today cannot be told.',
        });

        return Command::SUCCESS;
    }
}
