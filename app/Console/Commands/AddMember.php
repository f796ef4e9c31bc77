<?php

namespace App\Console\Commands;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InkyCard\Link\MailAddress;
use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Lets somebody sign in to a workspace, which is opened if there is none of that name. */
final class AddMember extends Command
{
    protected $signature = 'inky:member
        {email : the mail address to sign in with}
        {--name= : what the person is called}
        {--workspace= : name of the firm or practice}
        {--web= : its web address, for a new workspace}
        {--country=GB : its country, two letters, for a new workspace}';

    protected $description = 'Add a member to a workspace and print a password for a new one';

    public function handle(): int
    {
        try {
            $email = MailAddress::parse($this->argument('email'))->address;
            $name = CleanText::of($this->option('name') ?? '', 80, 'name');
            $firm = CleanText::of($this->option('workspace') ?? '', 80, 'workspace');
            $web = $this->option('web') ? WebAddress::parse($this->option('web'))->address : '';
            $known = User::query()->where('email', $email)->first();
            if ($firm === '' || ($name === '' && $known === null)
                || ! preg_match('/^[A-Z]{2}$/D', (string) $this->option('country'))) {
                throw Refusal::because(
                    'Give --workspace, --name for somebody new, and --country as two capital letters.',
                );
            }
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::INVALID;
        }
        $password = Str::password(16, symbols: false);
        DB::transaction(function () use ($email, $name, $firm, $web, $known, $password) {
            $user = $known ?? User::create(compact('email', 'name', 'password'));
            Workspace::query()->firstOrCreate(['name' => $firm], ['web' => $web, 'country' => $this->option('country')])
                ->members()->syncWithoutDetaching($user);
        });
        $this->line(
            $known ? "$email belongs to $firm now." : "$email can sign in to $firm with the password $password",
        );

        return self::SUCCESS;
    }
}
