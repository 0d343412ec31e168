program crew;
{$mode objfpc}

uses
  SysUtils⟪⟶;⟫

type
  TMate = class
  private
    FName: string;
    FHours: integer;
  public
    constructor Create(const AName: string);
    procedure Work(Hours: integer);
    function Pay: real;
    property Name: string read FName;
  end;

constructor ⟪⟶TMate.⟫Create(const AName: string);
begin
  FName := AName;
  FHours := 0;
end;

procedure TMate.Work(Hours: integer);
begin
  FHours := FHours + Hours;
end;

function TMate.Pay: real;
begin
  if FHours > 40 then
    Result := 40 * 12.5 + (FHours - 40) * 18
  else
    Result := FHours * 12.5;
end;

var
  mate: TMate;
  day: integer;
begin
  mate := TMate.Create(⟪Berg⟶'Berg'⟫);
  for day := 1 to 5 ⟪⟶do⟫
    mate.Work(9);
  writeln(mate.Name, ' earns ', mate.⟪pays⟶Pay⟫:0:2);
  mate.Free;
end.
