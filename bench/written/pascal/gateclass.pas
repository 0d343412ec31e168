program gateclass;

{$mode objfpc}{$H+}

uses
  Classes, SysUtils;

type
  TGate = class
  private
    FName: string;
    FOpen: boolean;
  public
    constructor Create(const aName: string);
    procedure Toggle;
    function Describe: string; virtual;
    property Name: string ⟪read FName write SetName⟶read FName⟶read FName write FName⟫;
  end;

  TLock = class(TGate)
  private
    FLevel: integer;
  public
    procedure Fill(by: integer);
    function Describe: string; ⟪overide⟶override⟫;
  end;

constructor TGate.Create(⟪aName: string⟶const aName: string⟫);
begin
  FName := aName;
  FOpen := ⟪no⟶false⟫;
end;

procedure ⟪Toggle⟶TGate.Toggle⟫;
begin
  FOpen := not FOpen;
end;

function TGate.Describe: string;
begin
  if FOpen then
    Result := FName + ' open'⟪;⟶⟫
  else
    Result := FName + ' shut';
end;

procedure TLock.Fill(by: integer);
begin
  FLevel := FLevel + by;
end;

function TLock.Describe: string;
begin
  Result := inherited Describe + ' at ' + ⟪FLevel⟶IntToStr(FLevel)⟫;
end;

var
  gates: TList;
  lock: TLock;
  i: integer;

begin
  gates := TList.Create;
  lock := ⟪new TLock('West')⟶TLock.Create('West')⟫;
  gates.Add(lock);
  lock.Fill(⟪'40'⟶40⟫);
  for i := 0 to gates.Count - 1 do
  begin
    writeln(TGate(gates[i]).Describe);
    TGate(gates[i])⟪->⟶.⟫Toggle;
  ⟪⟶end;⟫
  lock.Free;
  gates.Free;
end.
