{ Accounts of the harbour office. }
program account;

{$mode objfpc}

uses
  SysUtils;

type
  TEntry = record
    day: integer;
    text: string;
    amount: real;
  end;

var
  entries: array[1..20] of TEntry;
  count: integer;
  limit: real;

function Balance: real;
var
  i: integer;
  sum: real;
begin
  sum := 0;
  for i := 1 to count do
    sum := sum + entries[i].amount;
  Balance := sum;
end;

function Book(day: integer; text: string; amount: real): boolean;
begin
  if Balance + amount < -limit then
    Book := false
  else
  begin
    count := count + 1;
    entries[count].day := day;
    entries[count].text := text;
    entries[count].amount := amount;
    Book := true;
  end;
end;

begin
  count := 0;
  limit := 100;
  Book(1, 'berth fees', 320.5);
  if not Book(2, 'rope and paint', -500) then
    writeln('The limit is reached');
  writeln('Balance: ', FloatToStr(Balance));
end.
