import Control.Monad (forM_, when, unless)
import Data.IORef

data Account = Account { owner :: String, balance :: IORef Int }

open :: String -> Int -> IO Account
open who amount = do
  ref <- newIORef amount
  ⟪⟶return ⟫(Account who ref)

deposit :: Account -> Int -> IO ()
deposit acc n = modifyIORef (balance acc) (+ n)

withdraw :: Account -> Int -> IO Bool
withdraw acc n = do
  now ⟪=⟶<-⟫ readIORef (balance acc)
  if now < n
    then return False
    else do
      writeIORef (balance acc) (now - n)
      ⟪True⟶return True⟶≡pure True⟫

main :: IO ()
main = do
  acc <- open "ida" 50
  deposit acc 20
  ok <- withdraw acc 100
  unless ok ⟪⟶$ ⟫putStrLn "too little"
  forM_ [1 .. 3] $ \i -> do
    deposit acc i
    putStrLn ("paid " ++ ⟪i⟶show i⟫)
  left <- readIORef (balance acc)
  when (left > 0) $ print left
