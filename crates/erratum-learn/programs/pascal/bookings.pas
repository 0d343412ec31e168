program bookings;

{$mode objfpc}

uses
  SysUtils, Classes;

type
  TSailing = class
  private
    names: TStringList;
    capacity: integer;
    taken: integer;
  public
    constructor Create(seats: integer);
    procedure Add(name: string; seats: integer);
    function Free(seats: integer): boolean;
  end;

constructor TSailing.Create(seats: integer);
begin
  names := TStringList.Create;
  capacity := seats;
  taken := 0;
end;

procedure TSailing.Add(name: string; seats: integer);
begin
  if not Free(seats) then
    raise Exception.Create('no room for ' + name);
  names.Add(name);
  taken := taken + seats;
end;

function TSailing.Free(seats: integer): boolean;
begin
  result := taken + seats <= capacity;
end;

var
  morning: TSailing;
begin
  morning := TSailing.Create(12);
  try
    morning.Add('Ansel', 4);
    morning.Add('Birte', 9);
  except
    on problem: Exception do
      writeln('refused: ', problem.Message);
  end;
  writeln(morning.names.Count, ' booked');
end.
